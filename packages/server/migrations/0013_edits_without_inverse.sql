ALTER TABLE "dossier_changes" DROP COLUMN "command";--> statement-breakpoint
ALTER TABLE "dossier_changes" DROP COLUMN "inverse";