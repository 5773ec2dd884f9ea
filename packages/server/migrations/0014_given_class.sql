ALTER TABLE "pins" ALTER COLUMN "signal" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "given_class" text;